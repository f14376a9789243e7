/// Sound, network packets and tables that are exchanged with other programs.
package io.answerback.files.exchange;
