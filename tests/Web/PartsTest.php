<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Lines\AddLines;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Demo\DemoFiles;
use IronLatch\Screen\BoardScreen;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\View\Parts;

/** A browser that swaps what it is sent, part by part, sees what it would see on the whole page. */
final class PartsTest extends BoardTestCase
{
    /** The frame, and what stands on the stage. */
    private const SEEN = ['board-head', 'latches', 'stage', 'tray'];

    public function testSwappedPartsMakeTheSamePage(): void
    {
        $opened = $this->shelved(self::getContainer()->get(DemoFiles::class)->all()['first-try'] ?? TestBoards::sound());
        $base = '/boards/' . $opened->record->id();
        $shown = $this->whole($base . '/lines');
        foreach ([
            '/lines?open=L4.driver', '/lines?open=L4.coil', '/lines', '/mains', '/mains?open=inlet', '/mains?open=L3', '/power',
            '/power?open=R1', '/controls', '/controls?open=infrared', '/pins', '/pins?open=F3', '/facts', '/drive', '/lines?open=L1.name',
        ] as $address) {
            $shown = $this->swapped($shown, 'GET', $base . $address);
            self::assertSame($this->seen($this->whole($base . $address)), $this->seen($shown), $address);
        }
    }

    public function testSoItIsAfterEditsAndTheyAreShort(): void
    {
        $lamp = TestBoards::part('led-lamp', Appliance::class);
        $names = array_map(static fn(int $number): string => 'Lamp ' . $number, range(1, 127));
        $opened = $this->shelved(TestBoards::edited(
            TestBoards::bare(),
            new AddLines(array_slice($names, 0, 64), $lamp),
            new AddLines(array_slice($names, 64), $lamp),
        ));
        $base = '/boards/' . $opened->record->id();
        $shown = $this->whole($base . '/lines?open=L7.appliance');
        foreach ([
            ['edit' => 'state-load', 'for' => ['L7'], 'watts' => '12 W'],
            ['edit' => 'rename-line', 'line' => 'L9', 'name' => 'Porch'],
            ['edit' => 'add-lines', 'names' => 'One more', 'appliance' => 'led-lamp'],
            ['edit' => 'remove-line', 'line' => 'L3'],
        ] as $fields) {
            $shown = $this->swapped($shown, 'POST', $base . '/edits', [
                'base' => $this->head($opened)->revision->id(), 'view' => 'lines', 'open' => 'L7.appliance', ...$fields,
            ]);
            self::assertSame(200, $this->browser->getResponse()->getStatusCode());
            self::assertLessThan(61_000, strlen($this->page()), $fields['edit']);
            self::assertSame($this->seen($this->whole($base . '/lines?open=L7.appliance')), $this->seen($shown), $fields['edit']);
        }
    }

    public function testEveryViewNamesItsParts(): void
    {
        $opened = $this->shelved(TestBoards::sound());
        foreach (self::getContainer()->get(BoardScreen::class)->names() as $view) {
            $page = $this->whole('/boards/' . $opened->record->id() . '/' . $view);
            $ids = $this->attributes($page, '//@id');
            self::assertSame([], array_diff(['board-head', 'latches', 'tray', 'stage-hash'], array_keys($this->hashes($page))), $view);
            self::assertSame(array_values(array_unique($ids)), $ids, $view . ': an id stands for one element.');
            self::assertStringNotContainsString('<@', $this->page(), $view);
        }
    }

    private function whole(string $address): \DOMDocument
    {
        $this->browser->request('GET', $address);

        return self::read($this->page());
    }

    /**
     * What htmx makes of the answer: each part in the place of the one of its id, and what is to be preserved moved into it.
     *
     * @param array<string, mixed> $fields
     */
    private function swapped(\DOMDocument $shown, string $method, string $address, array $fields = []): \DOMDocument
    {
        $named = [];
        foreach ($this->hashes($shown) as $id => $hash) {
            $named[] = $id . ':' . $hash;
        }
        $this->browser->request($method, $address, $fields, [], [
            'HTTP_HX-Request' => 'true', 'HTTP_' . Parts::HEADER => implode(' ', $named),
        ]);
        $answer = self::read('<div id="answer">' . $this->page() . '</div>');
        foreach (self::elements($answer, 'hx-swap-oob') as $part) {
            $part->parentNode?->removeChild($part);
            $part->removeAttribute('hx-swap-oob');
            self::replace($shown, self::byId($shown, $part->getAttribute('id')), $part);
        }
        if ('none' !== $this->browser->getResponse()->headers->get('HX-Reswap')) {
            $stage = $shown->createElement('div');
            $stage->setAttribute('id', 'stage');
            foreach ([...self::byId($answer, 'answer')->childNodes] as $child) {
                if ('title' !== $child->nodeName) {
                    $stage->appendChild($shown->importNode($child, true));
                }
            }
            self::replace($shown, self::byId($shown, 'stage'), $stage);
        }

        return $shown;
    }

    private static function replace(\DOMDocument $shown, \DOMElement $old, \DOMElement $new): void
    {
        $new = $shown->importNode($new, true);
        self::assertInstanceOf(\DOMElement::class, $new);
        foreach (self::elements($new, 'hx-preserve') as $place) {
            $place->parentNode?->replaceChild(self::byId($shown, $place->getAttribute('id')), $place);
        }
        $old->parentNode?->replaceChild($new, $old);
    }

    /**
     * @return list<\DOMElement> within, that have an attribute
     */
    private static function elements(\DOMDocument|\DOMElement $within, string $attribute): array
    {
        $elements = [];
        foreach ($within->getElementsByTagName('*') as $element) {
            if ($element->hasAttribute($attribute)) {
                $elements[] = $element;
            }
        }

        return $elements;
    }

    private static function byId(\DOMDocument $page, string $id): \DOMElement
    {
        $found = (new \DOMXPath($page))->query(sprintf('//*[@id="%s"]', $id));
        $element = false === $found ? null : $found->item(0);
        self::assertInstanceOf(\DOMElement::class, $element, $id);

        return $element;
    }

    /**
     * @return array<string, string> hashes by id
     */
    private function hashes(\DOMDocument $page): array
    {
        return array_combine($this->attributes($page, '//*[@data-hash]/@id'), $this->attributes($page, '//*[@data-hash]/@data-hash'));
    }

    /**
     * @return list<string>
     */
    private function attributes(\DOMDocument $page, string $path): array
    {
        $values = [];
        $found = (new \DOMXPath($page))->query($path);
        self::assertNotFalse($found);
        foreach ($found as $attribute) {
            $values[] = (string) $attribute->nodeValue;
        }

        return $values;
    }

    /**
     * What a person sees, without the revision that forms carry: the script puts the newest there.
     *
     * @return array<string, string>
     */
    private function seen(\DOMDocument $page): array
    {
        $seen = [];
        foreach (self::SEEN as $id) {
            $html = (string) $page->saveHTML(self::byId($page, $id));
            $html = (string) preg_replace('/(name="base" value|data-revision)="[^"]*"/', '$1', $html);
            $seen[$id] = (string) preg_replace(['/\s+/', '/> </'], [' ', '><'], $html);
        }

        return $seen;
    }

    private static function read(string $html): \DOMDocument
    {
        $page = new \DOMDocument();
        @$page->loadHTML('<?xml encoding="UTF-8">' . $html, LIBXML_NOERROR | LIBXML_NOWARNING | LIBXML_COMPACT | LIBXML_HTML_NODEFDTD);

        return $page;
    }

    /** What marks a part while a page is drawn is nothing that a name could hold. */
    public function testNoNameIsTakenForAPart(): void
    {
        foreach (['<@L1@>', '<@L2@>', '<@tray@>', "\u{E000}L1\u{E001}", 'id="L1"', '"><b id="L2">'] as $name) {
            $renamed = TestBoards::edited(TestBoards::sound(), new RenameLine("L1", $name), new RenameLine("L2", $name . " two"));
            $opened = $this->shelved($renamed);
            foreach (['lines?open=L1.name', 'mains', 'facts'] as $view) {
                $address = '/boards/' . $opened->record->id() . '/' . $view;
                $page = $this->whole($address);
                self::assertResponseIsSuccessful($name);
                $ids = $this->attributes($page, '//@id');
                self::assertSame(array_values(array_unique($ids)), $ids, $name);
                $shown = $this->swapped($this->whole('/boards/' . $opened->record->id() . '/lines'), 'GET', $address);
                self::assertSame($this->seen($page), $this->seen($shown), $name . ' on ' . $view);
            }
            self::assertStringContainsString($name, $this->whole('/boards/' . $opened->record->id() . '/lines')->textContent);
        }
    }
}
