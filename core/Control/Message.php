<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Catalogue\WebCall;

/** What goes over a hop for one act: where it is sent, and what is said there. */
final readonly class Message
{
    /**
     * @param string $to topic, path, number or pin; the text or phrase itself where that is all there is
     * @param string $says the value, body or word; empty where the address says all
     * @param list<string> $headers of a request
     */
    private function __construct(public string $to, public string $says, public string $words, public array $headers = []) {}

    /**
     * @param string $address of the line or group
     * @param string $said its word for the act
     */
    public static function of(SurfaceProfile $profile, string $channel, string $address, string $said): self
    {
        return match ($profile->addressing) {
            Addressing::Topic => new self($address, $said, sprintf('publish “%s” to %s', $said, $address)),
            Addressing::Number => new self($address, $said, sprintf('set number %s to %s', $address, $said)),
            Addressing::Pin => new self($address, $said, sprintf('write %s to pin %s', $said, $address)),
            Addressing::Path => self::request($profile->call ?? self::plain(), $channel, $said),
            Addressing::Command => new self($said, '', sprintf('send the text “%s”', $said)),
            Addressing::Name => new self($said, '', sprintf('say “%s”', $said)),
            Addressing::Tile => new self($address, $said, sprintf('press the tile “%s”', $address)),
            Addressing::Word => new self($address, $said, sprintf('“%s %s” from the panel', $address, $said)),
            Addressing::Rule => new self($address, $said, sprintf('run the rule “%s”', $said)),
        };
    }

    /** A name that each copy fills in, as it stands on paper. */
    public static function placeholder(string $channel, string $secret): string
    {
        return '«' . SecretName::of($channel, $secret) . '»';
    }

    /** A text with the placeholders of its secrets in their places. */
    public static function filled(string $text, string $channel): string
    {
        return (string) preg_replace_callback(
            '/\{secret:([A-Z][A-Z0-9_]{0,39})\}/',
            static fn(array $match): string => self::placeholder($channel, $match[1]),
            $text,
        );
    }

    private static function plain(): WebCall
    {
        return new WebCall('POST', 'http://{secret:ADDRESS}');
    }

    private static function request(WebCall $call, string $channel, string $path): self
    {
        $url = self::filled($call->host, $channel) . $path;
        $body = self::filled(strtr($call->body, ['{address}' => $path]), $channel);

        return new self(
            $call->method . ' ' . $url,
            $body,
            sprintf('%s %s%s', $call->method, $url, '' === $body ? '' : sprintf(' with “%s”', $body)),
            array_map(static fn(string $header): string => self::filled($header, $channel), $call->headers),
        );
    }
}
