/** Whole workspaces as files: taken out, read back, kept daily, and brought in on this or another machine. */
package brandeon.server.whole;
