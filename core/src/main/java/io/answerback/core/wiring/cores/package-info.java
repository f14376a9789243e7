/// Computed of each core: what a device needs of its cable, the colour the rules give it, and the terminal or joint it
/// lands on.
package io.answerback.core.wiring.cores;
