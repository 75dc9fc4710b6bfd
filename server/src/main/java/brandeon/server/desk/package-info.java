/** The desk: what can be done during a show, for people, for passes and by addresses of single deeds. */
package brandeon.server.desk;
