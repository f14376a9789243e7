/// The hand-over bench: what is taken, how long it takes, visits, what the client keeps, and what must not be left
/// behind.
package io.answerback.desktop.handover;
