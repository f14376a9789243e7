/// Works out what cabling is left to do: run, label, terminate; and which of it is wrong.
package io.answerback.core.wiring.cabling;
