/// What people are sent of an event by mail and text message, and how many messages of the network that makes.
package io.answerback.core.report.message;
