/// Computed of one battery: how long it holds up its load, cold and at the end of its life, and how it is filled again.
package io.answerback.core.supply.battery;
