/// The house rules of a firm: figures, the ways of working it has chosen, and what one job does otherwise.
package io.answerback.core.model.practice;
