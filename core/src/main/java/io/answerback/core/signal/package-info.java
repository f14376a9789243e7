/// What goes over the line to a station, whatever the job: events, formats, sound, print-outs.
package io.answerback.core.signal;
