<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Catalogue\ShelfCatalogue;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Catalogue\Heading;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\View\Notice;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Controllers, chips and expanders with their pin tables and provenance, and parts of the maker's own. */
final class CatalogueController extends AbstractController
{
    public function __construct(private readonly ShelfCatalogue $catalogue) {}

    #[Route('/catalogue', name: 'catalogue', methods: ['GET'])]
    public function show(): Response
    {
        return $this->page(null, 200);
    }

    #[Route('/catalogue/{id}', name: 'catalogue_part', requirements: ['id' => '[a-z0-9][a-z0-9-]{0,59}'], methods: ['GET'])]
    public function part(string $id): Response
    {
        $part = $this->found($id);
        $chip = $part instanceof Carrier ? $this->catalogue->part($part->chip) : null;

        return $this->render('catalogue/part.html.twig', [
            'part' => $part,
            'controller' => $part instanceof Carrier && $chip instanceof Chip ? new Controller($part, $chip) : null,
            'facts' => self::facts(RecordWriter::write($part)),
            'pins' => $part instanceof Chip || $part instanceof Expander ? $part->pins : [],
            'own' => $this->catalogue->isOwn($id),
        ]);
    }

    #[Route('/catalogue/{id}.json', name: 'catalogue_file', requirements: ['id' => '[a-z0-9][a-z0-9-]{0,59}'], methods: ['GET'])]
    public function partFile(string $id): Response
    {
        return new Response(
            ShelfCatalogue::text($this->found($id)),
            200,
            ['Content-Type' => 'application/json', 'Content-Disposition' => sprintf('attachment; filename="%s.json"', $id)],
        );
    }

    /** The text of a part to start one's own from. */
    #[Route('/catalogue/{id}/copy', name: 'catalogue_copy', requirements: ['id' => '[a-z0-9][a-z0-9-]{0,59}'], methods: ['GET'])]
    public function copy(string $id): Response
    {
        $text = ShelfCatalogue::text($this->found($id));
        if (!$this->catalogue->isOwn($id)) {
            $text = (string) preg_replace(
                ['/"id": "[^"]+"/', '/"name": "([^"]+)"/'],
                [sprintf('"id": "my-%s"', mb_substr($id, 0, 50)), '"name": "$1, mine"'],
                $text,
                1,
            );
        }

        return $this->editor($text, null, 200);
    }

    #[Route('/catalogue', name: 'catalogue_keep', methods: ['POST'])]
    public function keep(Request $request): Response
    {
        $file = $request->files->get('file');
        $text = $file instanceof UploadedFile && $file->isValid() ? $file->getContent() : $request->request->getString('document');
        if ('' === trim($text)) {
            return $this->page(Notice::refused('Choose a part file first, or copy a part and change it.'), 422);
        }
        try {
            $part = $this->catalogue->read($text);
        } catch (\InvalidArgumentException $fault) {
            return $this->editor(
                mb_check_encoding($text, 'UTF-8') ? mb_substr($text, 0, ShelfCatalogue::GREATEST_BYTES) : '',
                Notice::refused('The part was not taken. ' . $fault->getMessage()),
                422,
            );
        }
        $this->catalogue->keep($part);

        return $this->redirectToRoute('catalogue_part', ['id' => $part->identity()->id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/catalogue/{id}/remove', name: 'catalogue_remove', requirements: ['id' => '[a-z0-9][a-z0-9-]{0,59}'], methods: ['POST'])]
    public function remove(string $id): Response
    {
        $this->catalogue->remove($id);

        return $this->redirectToRoute('catalogue', [], Response::HTTP_SEE_OTHER);
    }

    /**
     * The facts of a part but its identity, its pins and its header, each in one line.
     *
     * @param array<mixed> $data
     * @return array<string, string> by name
     */
    private static function facts(array $data, string $before = ''): array
    {
        $facts = [];
        foreach ($data as $name => $value) {
            if ('' === $before && in_array($name, ['identity', 'pins', 'header'], true)) {
                continue;
            }
            $words = trim($before . ' ' . (is_int($name) ? (string) ($name + 1) : strtolower((string) preg_replace(
                '/(?<!^)(?=[A-Z])/',
                ' ',
                $name,
            ))));
            if (is_array($value) && ['min', 'typ', 'max'] === array_keys($value)) {
                $facts[$words] = implode(' … ', array_map(static fn(mixed $one): string => is_scalar($one) ? (string) $one : '', $value));
            } elseif (is_array($value)) {
                $facts = [...$facts, ...self::facts($value, $words)];
            } elseif (is_bool($value)) {
                $facts[$words] = $value ? 'yes' : 'no';
            } elseif (is_scalar($value)) {
                $facts[$words] = (string) $value;
            }
        }

        return $facts;
    }

    private function found(string $id): Part
    {
        return $this->catalogue->part($id) ?? throw $this->createNotFoundException('There is no such part in the catalogue.');
    }

    private function editor(string $text, ?Notice $notice, int $status): Response
    {
        return $this->render('catalogue/editor.html.twig', ['text' => $text, 'notice' => $notice], new Response(status: $status));
    }

    private function page(?Notice $notice, int $status): Response
    {
        $kinds = [];
        foreach (RecordShape::classes(Part::class) as $kind) {
            $kinds[Heading::of($kind)] = $this->catalogue->parts($kind);
        }

        return $this->render('catalogue/page.html.twig', [
            'catalogue' => $this->catalogue,
            'kinds' => $kinds,
            'notice' => $notice,
        ], new Response(status: $status));
    }
}
