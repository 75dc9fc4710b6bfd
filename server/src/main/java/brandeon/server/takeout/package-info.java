/** Scenes as files that need no server: pages, pictures, drawings and masks, alone or in a zip. */
package brandeon.server.takeout;
