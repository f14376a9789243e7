/// The cable bench: the terminals of a box, the cores that land on them, the tamper ring, and the run along the strip.
package io.answerback.desktop.cable;
