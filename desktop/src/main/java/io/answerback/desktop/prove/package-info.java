/// The prove bench: which lines were answered, which proofs are stale, and sending the rest.
package io.answerback.desktop.prove;
