/// How the communicator stands on the network of the site: its address, and what is wrong with it.
package io.answerback.core.report.network;
