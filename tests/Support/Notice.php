<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

/** The text of NOTICE: every package that is shipped, with its licence, as the packages themselves say. */
final class Notice
{
    /** What of the tools of the front end ends up in the style sheet that is shipped. */
    private const BUILT_IN = ['tailwindcss'];

    public static function text(): string
    {
        $root = dirname(__DIR__, 2);
        $lines = [];
        $installed = self::read($root . '/vendor/composer/installed.json');
        $forTests = $installed['dev-package-names'] ?? [];
        foreach (is_array($installed['packages'] ?? null) ? $installed['packages'] : [] as $package) {
            if (is_array($package) && is_array($forTests) && !in_array($package['name'] ?? '', $forTests, true)) {
                $lines[] = self::line($package['name'] ?? '', $package['license'] ?? []);
            }
        }
        $front = self::read($root . '/package.json')['dependencies'] ?? [];
        foreach ([...array_keys(is_array($front) ? $front : []), ...self::BUILT_IN] as $name) {
            $lines[] = self::line($name, self::read($root . '/node_modules/' . $name . '/package.json')['license'] ?? '');
        }
        sort($lines);

        return "Iron Latch is shipped with these packages; each is under the licence beside it, which its own files hold in full.\n\n"
            . implode("\n", $lines) . "\n";
    }

    private static function line(mixed $name, mixed $licence): string
    {
        $licences = array_map(static fn(mixed $one): string => is_string($one) ? $one : '', is_array($licence) ? $licence : [$licence]);

        return sprintf('%-36s %s', is_string($name) ? $name : '', implode(' or ', $licences));
    }

    /**
     * @return array<mixed>
     */
    private static function read(string $file): array
    {
        $data = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : [];
    }
}
