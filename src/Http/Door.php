<?php

declare(strict_types=1);

namespace IronLatch\Http;

use Symfony\Component\HttpFoundation\Request;

/** By which door a request came: the desk’s own, on loopback, or the one for phones, whose address the server is started with. */
final readonly class Door
{
    /** The address of the door for phones, such as http://192.168.1.5:8042; said to the process that serves it, and to no other. */
    public const PHONE = 'IRON_LATCH_DOOR';
    /** The same, said to the desk so that it can show it. */
    public const SHOWN = 'IRON_LATCH_PHONE';
    /** The certificate of that door, where it has one. */
    public const CERTIFICATE = 'IRON_LATCH_CERTIFICATE';

    private const DESK_HOSTS = ['^localhost$', '^127\.0\.0\.1$', '^\[::1\]$'];
    private const LOOPBACK = '/^(127\.\d+\.\d+\.\d+|::1)$/D';

    private function __construct(public string $address) {}

    public static function of(Request $request): self
    {
        $said = $request->server->get(self::PHONE);

        return new self(is_string($said) ? rtrim($said, '/') : '');
    }

    public function isPhone(): bool
    {
        return '' !== $this->address;
    }

    /**
     * Host names that are served by this door, as regular expressions: nothing else that leads here by name is.
     *
     * @return list<string>
     */
    public function hosts(): array
    {
        $host = parse_url($this->address, PHP_URL_HOST);

        return $this->isPhone() ? ['^' . preg_quote(is_string($host) ? $host : ' ') . '$'] : self::DESK_HOSTS;
    }

    /** Whether whoever asks stands where this door is. */
    public function isUsedFromItsSide(Request $request): bool
    {
        $from = $request->server->get('REMOTE_ADDR');

        return $this->isPhone()
            ? in_array($request->headers->get('HOST'), $this->names(), true)
            : !is_string($from) || 1 === preg_match(self::LOOPBACK, $from);
    }

    /** @return list<string> as a browser names this door: without the port where it is the usual one */
    private function names(): array
    {
        $name = substr($this->address, (int) strpos($this->address, '//') + 2);
        $usual = $this->isSecure() ? ':443' : ':80';

        return str_ends_with($name, $usual) ? [$name, substr($name, 0, -strlen($usual))] : [$name];
    }

    public function isSecure(): bool
    {
        return str_starts_with($this->address, 'https://');
    }
}
