/// The work on cables: first fix, labels, what was seen of them, and inputs that nothing is wired to.
package io.answerback.core.wiring.cabling;
