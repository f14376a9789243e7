/// Computed of the work on cables: what is to be run, labelled and terminated next, and what of it is wrong or left.
package io.answerback.core.wiring.cabling;
