/// Whether a point's signal was answered, and whether everything upstream is still as it was then.
package io.answerback.core.prove.proof;
