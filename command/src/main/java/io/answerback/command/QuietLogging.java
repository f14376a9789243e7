package io.answerback.command;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.encoder.PatternLayoutEncoder;
import ch.qos.logback.classic.spi.Configurator;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.ConsoleAppender;
import ch.qos.logback.core.spi.ContextAwareBase;
import org.slf4j.Logger;

/// Logs warnings and worse to standard error, which leaves standard output to the verbs. Said in code because
/// reading it from XML would take a noticeable part of a start.
public final class QuietLogging extends ContextAwareBase implements Configurator {
    @Override
    public ExecutionStatus configure(LoggerContext logging) {
        PatternLayoutEncoder encoder = new PatternLayoutEncoder();
        encoder.setContext(logging);
        encoder.setPattern("%d{HH:mm:ss} %level %msg%n");
        encoder.start();
        ConsoleAppender<ILoggingEvent> errors = new ConsoleAppender<>();
        errors.setContext(logging);
        errors.setTarget("System.err");
        errors.setEncoder(encoder);
        errors.start();
        var root = logging.getLogger(Logger.ROOT_LOGGER_NAME);
        root.setLevel(Level.WARN);
        root.addAppender(errors);
        return ExecutionStatus.DO_NOT_INVOKE_NEXT_IF_ANY;
    }
}
