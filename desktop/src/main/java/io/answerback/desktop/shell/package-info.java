/// The window: its fixed parts, its keys, the files it opens and what it remembers.
package io.answerback.desktop.shell;
