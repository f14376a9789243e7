/// What attaching a communicator takes: its wires, the order of the work, and what must hold.
package io.answerback.core.report.attach;
