<?php

declare(strict_types=1);

use Geodex\Core\Tests\Support\Vandal;
use Illuminate\Http\UploadedFile;

const STAGES = ['bench', 'reference', 'plan', 'driveline', 'surveys/%s', 'surveys/%s/findings', 'surveys/%s/hand-over', 'surveys/%s/hand-over/document', 'surveys/%s/readings.csv', 'file'];

beforeEach(function () {
    $this->actingAs($this->person());
});

it('shows every stage of a job, whatever its file holds, or says what is wrong with the file', function (int $seed) {
    $files = glob(database_path('demo/*.job.json'));
    $document = json_decode((string) file_get_contents($files[$seed % count($files)]), true);
    $file = UploadedFile::fake()->createWithContent('spoilt.job.json', (string) json_encode(Vandal::spoil($document, 0, $seed)));
    $answer = $this->post('/jobs/from-file', ['file' => $file]);
    if (session()->has('errors')) {
        expect(session('errors')->all()[0])->toMatch('/\p{L}+ \p{L}+ \p{L}+/u');

        return;
    }
    $job = $answer->assertRedirect()->headers->get('Location');
    preg_match('#/jobs/(\d+)#', (string) $job, $id);
    foreach (STAGES as $stage) {
        $page = $this->get("/jobs/$id[1]/".sprintf($stage, $document['surveys'][0]['id']));
        expect($page->status())->toBeLessThan(400, "$stage of seed $seed");
    }
    $this->get('/jobs')->assertOk();
})->with(fn (): array => range(1, (int) (getenv('SPOILT_JOBS') ?: 9)));
