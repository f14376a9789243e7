/// Computed of what feeds a site: loads, supply trees, volts at the far end, sounders. What is recorded stands in
/// `model.power`.
package io.answerback.core.supply;
