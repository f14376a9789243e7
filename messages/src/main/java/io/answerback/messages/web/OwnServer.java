package io.answerback.messages.web;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.util.function.Function;
import org.eclipse.jetty.server.HttpConfiguration;
import org.eclipse.jetty.server.HttpConnectionFactory;
import org.eclipse.jetty.server.Server;
import org.eclipse.jetty.server.ServerConnector;
import org.eclipse.jetty.util.VirtualThreads;
import org.eclipse.jetty.util.thread.QueuedThreadPool;
import org.eclipse.jetty.util.thread.ScheduledExecutorScheduler;
import org.eclipse.jetty.util.thread.Scheduler;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/// A small web server that answers only what was meant for this computer ([Meant]). A request has 5 s to arrive
/// whole and its answer 5 s to be taken; 32 connections from one address and 256 in all may be open at
/// once; one too many is closed.
public final class OwnServer implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(OwnServer.class);
    private static final long SECONDS = 5;
    private static final long IDLE_MILLIS = 60_000;
    private static final int MOST_OF_ONE_ADDRESS = 32;
    private static final int MOST_OF_ALL = 256;
    private static final int MOST_THREADS = 8;
    private static final int WAITING = 64;

    private final Server server;
    private final ServerConnector connector;

    private OwnServer(Server server, ServerConnector connector) {
        this.server = server;
        this.connector = connector;
    }

    /// Opens one.
    ///
    /// @param address where it listens; port 0 for any free one
    /// @param mostBytes the longest body of a request, in bytes; a longer one is refused by 413
    /// @param pages what is answered, on a thread of its own; it may wait
    /// @throws IOException when it cannot listen there
    public static OwnServer open(InetSocketAddress address, int mostBytes, Function<Asked, Answer> pages)
            throws IOException {
        Scheduler scheduler = new ScheduledExecutorScheduler("page deadlines", true);
        Deadlines deadlines = new Deadlines(scheduler, SECONDS);
        Server server = new Server(threads(), scheduler, null);
        server.setErrorHandler(new PlainErrors());
        server.setHandler(new Pages(mostBytes, pages, deadlines));
        ServerConnector connector = new ServerConnector(server, 0, 1, new HttpConnectionFactory(http()));
        connector.setHost(address.getAddress().getHostAddress());
        connector.setPort(address.getPort());
        connector.setAcceptQueueSize(WAITING);
        connector.setIdleTimeout(IDLE_MILLIS);
        connector.addBean(deadlines);
        connector.addBean(new ConnectionLimits(MOST_OF_ONE_ADDRESS, MOST_OF_ALL));
        server.addConnector(connector);
        OwnServer own = new OwnServer(server, connector);
        own.start();
        return own;
    }

    private static QueuedThreadPool threads() {
        QueuedThreadPool threads = new QueuedThreadPool(MOST_THREADS, 1);
        threads.setName("page");
        threads.setDaemon(true);
        threads.setVirtualThreadsExecutor(VirtualThreads.getDefaultVirtualThreadsExecutor());
        return threads;
    }

    private static HttpConfiguration http() {
        HttpConfiguration http = new HttpConfiguration();
        http.setSendServerVersion(false);
        return http;
    }

    private void start() throws IOException {
        try {
            server.start();
        } catch (Exception notStarted) {
            close();
            Throwable why = notStarted.getCause() == null ? notStarted : notStarted.getCause();
            throw new IOException(why.getMessage(), notStarted);
        }
    }

    /// The port it listens at.
    public int port() {
        return connector.getLocalPort();
    }

    /// Ends it at once, with every connection.
    @Override
    public void close() {
        try {
            server.stop();
        } catch (Exception failed) {
            LOG.warn("A page did not close properly", failed);
        }
    }
}
