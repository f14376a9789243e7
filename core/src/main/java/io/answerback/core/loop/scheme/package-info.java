/// Loop schemes: how contacts, resistors and cable make one resistance in every state of a device.
package io.answerback.core.loop.scheme;
