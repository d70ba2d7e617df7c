<?php

declare(strict_types=1);

namespace IronLatch\View;

/**
 * The parts of a page that can be swapped by themselves: each an HTML element with an id, or a whole drawing within one. A browser
 * names the hashes of those that it has, and gets what differs.
 *
 * While a page is drawn a sign stands for each part, so that the rest, the skeleton, has a hash of its own.
 */
final class Parts
{
    public const HEADER = 'X-Parts';
    /** No name and no text of a person can hold it: in HTML their angle brackets are escaped. */
    private const SIGN = '<@%s@>';
    private const IN_PLACE = '/<@([^@>]+)@>/';
    private const STAGE = 'stage-hash';

    /** @var array<string, string> by id, each with its hash on it */
    private array $parts = [];
    /** @var array<string, string> by id */
    private array $hashes = [];
    private string $stage = '';
    /** What every form carries and says nothing of what is seen. */
    private string $revision = '';

    public function begin(string $revision): void
    {
        $this->parts = $this->hashes = [];
        $this->stage = '';
        $this->revision = $revision;
    }

    /** Marks a part; it begins with the tag that bears the id. */
    public function part(string $html, string $id): string
    {
        $html = trim($html);
        $this->hashes[$id] = $this->hash($html);
        $this->parts[$id] = self::with($html, $id, sprintf('data-hash="%s"', $this->hashes[$id]));

        return sprintf(self::SIGN, $id);
    }

    /** Marks all that stands on the stage, and puts its hash beside it. */
    public function skeleton(string $html): string
    {
        $this->hashes[self::STAGE] = $this->hash($html);
        $this->stage = $html . sprintf('<i id="%s" data-hash="%s" hidden></i>', self::STAGE, $this->hashes[self::STAGE]);

        return $this->stage;
    }

    /** A page with the parts in the places of their signs. */
    public function whole(string $page): string
    {
        $signs = [];
        foreach ($this->parts as $id => $html) {
            $signs[sprintf(self::SIGN, $id)] = strtr($html, $signs);
        }

        return strtr($page, $signs);
    }

    /**
     * @return array<string, true> ids of the parts that stand in it, and of those that stand in them
     */
    private function within(string $html): array
    {
        preg_match_all(self::IN_PLACE, $html, $signs);
        $ids = array_fill_keys($signs[1], true);
        foreach ($signs[1] as $id) {
            $ids += $this->within($this->parts[$id] ?? '');
        }

        return $ids;
    }

    /**
     * What a browser lacks that has the parts of these hashes: the stage where its skeleton differs, and whatever else differs by itself.
     * What stands in something that differs and is itself the same stays where it is in the browser.
     *
     * @param array<string, string> $has hashes by id
     * @return array{string, bool} HTML, and whether the stage itself is in it
     */
    public function lacking(array $has): array
    {
        $isWhole = $this->hashes[self::STAGE] !== ($has[self::STAGE] ?? '');
        $lacking = $isWhole ? $this->filled($this->stage, $has) : '';
        $sent = $isWhole ? $this->within($this->stage) : [];
        // Whatever holds others was marked after them.
        foreach (array_reverse($this->parts) as $id => $html) {
            if (!isset($sent[$id]) && ($has[$id] ?? '') !== $this->hashes[$id]) {
                $lacking .= "\n" . self::with($this->filled($html, $has), $id, 'hx-swap-oob="true"');
                $sent += $this->within($html);
            }
        }

        return [$lacking, $isWhole];
    }

    /**
     * @param array<string, string> $has hashes by id
     */
    private function filled(string $html, array $has): string
    {
        return (string) preg_replace_callback(
            self::IN_PLACE,
            fn(array $sign): string => $this->isThere($sign[1], $has)
                ? sprintf('<div id="%s" hx-preserve></div>', $sign[1])
                : $this->filled($this->parts[$sign[1]] ?? '', $has),
            $html,
        );
    }

    /**
     * @param array<string, string> $has hashes by id
     */
    private function isThere(string $id, array $has): bool
    {
        if (($has[$id] ?? '') !== $this->hashes[$id]) {
            return false;
        }
        foreach (array_keys($this->within($this->parts[$id])) as $inner) {
            if (($has[$inner] ?? '') !== $this->hashes[$inner]) {
                return false;
            }
        }

        return true;
    }

    /**
     * @return array<string, string> hashes by id, as a browser names them
     */
    public static function named(string $header): array
    {
        $has = [];
        foreach (explode(' ', $header) as $one) {
            [$id, $hash] = [...explode(':', $one, 2), ''];
            $has[$id] = $hash;
        }

        return $has;
    }

    private function hash(string $html): string
    {
        return substr(hash('xxh3', '' === $this->revision ? $html : str_replace($this->revision, '', $html)), 0, 10);
    }

    /** An id for a part that is known by something longer. */
    public static function idOf(string $what): string
    {
        return 'p' . hash('xxh3', $what);
    }

    private static function with(string $html, string $id, string $attribute): string
    {
        $mark = sprintf('id="%s"', $id);
        $at = strpos($html, $mark);

        return false === $at
            ? throw new \LogicException(sprintf('A part has to begin with the tag whose id is “%s”.', $id))
            : substr_replace($html, $mark . ' ' . $attribute, $at, strlen($mark));
    }
}
