<?php

declare(strict_types=1);

namespace IronLatch\Tests\Web;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Tests\Support\RandomEdits;
use IronLatch\Tests\Support\TestBoards;
use Symfony\Component\Routing\RouterInterface;

/** Whatever is sent, the answer is no server error, and nothing is changed by it. */
final class OddRequestsTest extends BoardTestCase
{
    private const TEXTS = [
        "\0",
        "a\0b",
        "\xff\xfe",
        "\xc3",
        "two\nlines",
        '',
        '0',
        '-1',
        '99999999999999999999',
        '1e400',
        'NaN',
        '%00',
        '../../etc/passwd',
        "\u{202e}x",
    ];

    public function testOddAddressesAreNoServerError(): void
    {
        $opened = $this->shelved(TestBoards::operatedInManyWays());
        $base = '/boards/' . $opened->record->id();
        foreach (self::TEXTS as $text) {
            $odd = rawurlencode($text);
            foreach ([
                "/$odd",
                "/boards/$odd/lines",
                "$base/$odd",
                "$base/lines?open=$odd",
                "$base/pins?open=$odd&find=$odd",
                "$base/controls?open=$odd",
                "$base/power?open=$odd",
                "$base/finding?open=$odd",
                "$base/revisions?page=$odd",
                "$base/offers?finding=$odd&view=$odd&open=$odd",
                "$base/drive/A1/sketch/baseOhms?step=$odd",
                "$base/power/R1/waveform?event=$odd&corner=$odd&step=$odd",
                "$base/sheets/$odd",
                "$base/exports/$odd",
                "$base/exports/sheet:$odd",
                "/catalogue/$odd",
                "/catalogue?kind=$odd",
                "/reckoner/$odd",
                "/reckoner/box-air?watts=$odd&length=$odd",
            ] as $address) {
                $this->browser->request('GET', $address);
                self::assertLessThan(500, $this->browser->getResponse()->getStatusCode(), $address);
            }
        }
        foreach (['open', 'page', 'view', 'finding', 'find', 'event'] as $field) {
            $this->browser->request('GET', "$base/lines?{$field}[]=x&{$field}[0][a]=y");
            self::assertLessThan(500, $this->browser->getResponse()->getStatusCode(), $field);
        }
    }

    /** Every edit with fields of a wrong type, a key named 0, bytes that are no text, and nothing at all. */
    public function testOddFieldsAreRefusedInWords(): void
    {
        $opened = $this->shelved(TestBoards::operatedInManyWays());
        foreach (RandomEdits::classes() as $class) {
            $word = array_search($class, RecordShape::variants(Edit::class)->classes, true);
            $fields = array_keys(RecordShape::of($class)->fields);
            foreach ([
                [],
                ['0' => 'x'],
                array_fill_keys($fields, "\xff"),
                array_fill_keys($fields, "a\0b"),
                array_fill_keys($fields, ['0' => ['0' => "\xc3"]]),
                array_fill_keys($fields, ['0' => 'x', 'a' => []]),
                array_fill_keys($fields, '99999999999999999999'),
            ] as $odd) {
                $this->browser->request(
                    'POST',
                    '/boards/' . $opened->record->id() . '/edits',
                    ['base' => $opened->revision->id(), 'edit' => $word, ...$odd],
                    server: ['HTTP_HX-Request' => 'true'],
                );
                $status = $this->browser->getResponse()->getStatusCode();
                self::assertLessThan(500, $status, $word . ' ' . json_encode($odd, JSON_PARTIAL_OUTPUT_ON_ERROR));
                if (422 === $status) {
                    // Only the notice is put in its place: what was typed stays.
                    self::assertResponseHeaderSame('HX-Reswap', 'none');
                }
            }
        }
    }

    public function testOddPostsAreNoServerError(): void
    {
        $opened = $this->shelved(TestBoards::operatedInManyWays());
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $name => $route) {
            if (!in_array('POST', $route->getMethods(), true) || 'backup' === $name || 'board_remove' === $name) {
                continue;
            }
            $path = strtr(
                $route->getPath(),
                [
                    '{id}' => str_starts_with($route->getPath(), '/boards') ? $opened->record->id() : 'x',
                    '{actuator}' => 'A1',
                    '{way}' => 'goto',
                ],
            );
            foreach ([
                'text',
                'edit',
                'way',
                'revision',
                'finding',
                'remedy',
                'base',
                'view',
                'open',
                'name',
                'file',
                'demo',
                'rows',
                'document',
                'carrier',
                'adopt',
                'surface',
                'key',
            ] as $field) {
                foreach ([["\xff\xfe"], "\0", ['0' => ['0' => 'x']], "\xc3", '0'] as $value) {
                    $this->browser->request('POST', $path, ['base' => $opened->revision->id(), $field => $value]);
                    self::assertLessThan(
                        500,
                        $this->browser->getResponse()->getStatusCode(),
                        $path . ' ' . $field . ' ' . json_encode($value, JSON_PARTIAL_OUTPUT_ON_ERROR),
                    );
                }
            }
        }
    }
}
