/// From a point to the operator and back: the chain, its proof, and what has to be shown.
package io.answerback.core.prove;
