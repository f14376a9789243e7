/// How long a battery holds up its load: cold, at the end of its life, and how it is filled again.
package io.answerback.core.supply.battery;
