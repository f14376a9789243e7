/// Works out how long one battery holds up its load, cold and at the end of its life, and how it is charged again.
package io.answerback.core.supply.battery;
