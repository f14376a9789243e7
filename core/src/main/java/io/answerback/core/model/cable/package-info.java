/// Recorded of cables: their type, their two ends, how they are laid, and what was found of them. `wiring` computes
/// from it.
package io.answerback.core.model.cable;
