<?php

declare(strict_types=1);

namespace IronLatch\Phone;

use Symfony\Component\HttpFoundation\IpUtils;

/** Addresses of this machine in a network of one’s own (RFC 1918; RFC 4193 for IPv6): nothing that the world can reach. */
final class PrivateAddresses
{
    private const RANGES = ['10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16', 'fc00::/7'];

    public static function isPrivate(string $address): bool
    {
        return false !== filter_var($address, FILTER_VALIDATE_IP) && IpUtils::checkIp($address, self::RANGES);
    }

    /**
     * @return array<string, string> interface by address
     */
    public static function here(): array
    {
        $found = [];
        foreach ((array) net_get_interfaces() as $name => $interface) {
            $addresses = is_array($interface) && true === ($interface['up'] ?? null) ? $interface['unicast'] ?? [] : [];
            foreach (is_array($addresses) ? array_column($addresses, 'address') : [] as $address) {
                if (is_string($address) && self::isPrivate($address)) {
                    $found[$address] = (string) $name;
                }
            }
        }

        return $found;
    }
}
