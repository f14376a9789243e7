/// Writes what the client keeps as a folder.
package io.answerback.print.pack;
