/// Listens to a dialler on a line: through the sound input of this computer, or from a recording that stands in for it.
package io.answerback.station.line;
