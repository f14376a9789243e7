package io.answerback.messages.mail;

import java.io.IOException;
import java.math.BigInteger;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Date;
import javax.net.ssl.KeyManagerFactory;
import javax.net.ssl.SSLContext;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.cert.CertIOException;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/// A certificate that a stand-in makes for itself when it starts, signed by nobody else. Its key is never written.
///
/// @param certificate what it shows
/// @param context a context that shows it
record OwnCertificate(X509Certificate certificate, SSLContext context) {
    private static final String CURVE_KEY = "EC";
    private static final int KEY_BITS = 256;
    private static final int SERIAL_BITS = 120;

    /// A certificate for this computer.
    ///
    /// @param from when it is first valid
    /// @param lasts for how long
    /// @throws IOException when this Java cannot make one
    static OwnCertificate of(String name, Instant from, Duration lasts) throws IOException {
        try {
            KeyPairGenerator generator = KeyPairGenerator.getInstance(CURVE_KEY);
            generator.initialize(KEY_BITS);
            KeyPair keys = generator.generateKeyPair();
            X509Certificate made = signed(name, keys, from, from.plus(lasts));
            return new OwnCertificate(made, context(keys, made));
        } catch (GeneralSecurityException | OperatorCreationException failed) {
            throw new IOException("no certificate could be made for the stand-in: " + failed.getMessage(), failed);
        }
    }

    private static X509Certificate signed(String name, KeyPair keys, Instant from, Instant until)
            throws GeneralSecurityException, OperatorCreationException, CertIOException {
        X500Name self = new X500Name("CN=" + name);
        var builder = new JcaX509v3CertificateBuilder(
                self,
                new BigInteger(SERIAL_BITS, new SecureRandom()),
                Date.from(from),
                Date.from(until),
                self,
                keys.getPublic());
        builder.addExtension(Extension.subjectAlternativeName, false, new GeneralNames(new GeneralName[] {
            new GeneralName(GeneralName.dNSName, name), new GeneralName(GeneralName.iPAddress, "127.0.0.1")
        }));
        return new JcaX509CertificateConverter()
                .getCertificate(builder.build(new JcaContentSignerBuilder("SHA256withECDSA").build(keys.getPrivate())));
    }

    private static SSLContext context(KeyPair keys, X509Certificate made) throws GeneralSecurityException, IOException {
        KeyStore store = KeyStore.getInstance(KeyStore.getDefaultType());
        store.load(null, null);
        char[] none = {};
        store.setKeyEntry("own", keys.getPrivate(), none, new Certificate[] {made});
        KeyManagerFactory factory = KeyManagerFactory.getInstance(KeyManagerFactory.getDefaultAlgorithm());
        factory.init(store, none);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(factory.getKeyManagers(), null, null);
        return context;
    }
}
