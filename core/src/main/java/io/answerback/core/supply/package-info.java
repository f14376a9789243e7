/// Works out what feeds a site: loads, supply trees, volts at the far end, sounders. The records are in `model.power`.
package io.answerback.core.supply;
