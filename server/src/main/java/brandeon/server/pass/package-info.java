/** Passes: links by which somebody without an account may do some of what a show takes. */
package brandeon.server.pass;
