/// Records of cables: their type, their two ends, how they are laid, and what was found of them. `wiring` works on
/// them.
package io.answerback.core.model.cable;
