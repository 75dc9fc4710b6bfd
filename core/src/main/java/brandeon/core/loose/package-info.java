/** Files that were dropped together: what each is by its content, and a whole theme made of them as a proposal. */
package brandeon.core.loose;
