/// The folder in which the application keeps what it remembers, and which jobs are open in it.
package io.answerback.files.folder;
