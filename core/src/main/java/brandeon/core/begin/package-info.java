/** The first five minutes: few answers, of which a complete theme is made with the edits that everybody uses. */
package brandeon.core.begin;
