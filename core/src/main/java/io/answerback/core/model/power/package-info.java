/// What holds a site up when the mains fails, as records: batteries, readings, and what is known better of loads.
package io.answerback.core.model.power;
