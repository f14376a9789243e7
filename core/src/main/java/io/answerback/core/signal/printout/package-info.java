/// What a receiver prints for what a panel sends, and what is wrong with it.
package io.answerback.core.signal.printout;
