/// Records of what holds a site up: batteries, what was measured at them, and load figures that are better known.
/// `supply` works on them.
package io.answerback.core.model.power;
