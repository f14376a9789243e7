/// The seven links between one point and the operator, each with its figure, its mark and one line of words.
package io.answerback.core.prove.chain;
