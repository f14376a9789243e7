/// The set-up bench: what is wanted, what is typed, and whether people get in.
package io.answerback.desktop.setup;
