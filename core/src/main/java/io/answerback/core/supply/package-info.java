/// What feeds a site and for how long: loads, batteries, and volts at the far end.
package io.answerback.core.supply;
