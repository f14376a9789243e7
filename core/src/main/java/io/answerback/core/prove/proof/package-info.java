/// Computed of one point: whether its signal was answered, and whether everything upstream is still what it was then.
package io.answerback.core.prove.proof;
