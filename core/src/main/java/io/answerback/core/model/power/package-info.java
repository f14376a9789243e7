/// Recorded of what holds a site up: batteries, what was measured at them, and what is known better of loads.
/// `supply` computes from it.
package io.answerback.core.model.power;
