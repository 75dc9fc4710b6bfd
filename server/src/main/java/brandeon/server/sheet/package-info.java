/** The source sheet: all that is typed into broadcasting software for one canvas, in the order in which it is typed. */
package brandeon.server.sheet;
