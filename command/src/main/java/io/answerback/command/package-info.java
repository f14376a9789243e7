/// The command line: thin verbs over the same core as the window.
package io.answerback.command;
