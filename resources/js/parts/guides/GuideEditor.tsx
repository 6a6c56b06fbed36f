import { Image } from '@tiptap/extension-image';
import { Markdown } from '@tiptap/markdown';
import { EditorContent, useEditor, useEditorState, type Editor } from '@tiptap/react';
import { StarterKit } from '@tiptap/starter-kit';
import { useRef, useState } from 'react';
import { askFile } from '@/lib/askFile';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

type Props = { text: string; label: string; onChange: (markdown: string) => void };

/** Writes Markdown as it will look: headings, lists, links and pictures. */
export function GuideEditor({ text, label, onChange }: Props) {
    const editor = useEditor({
        extensions: [StarterKit.configure({ underline: false, link: { openOnClick: false } }), Image, Markdown],
        content: text,
        contentType: 'markdown',
        // The styles ship with the application.
        injectCSS: false,
        editorProps: {
            attributes: {
                role: 'textbox',
                'aria-multiline': 'true',
                'aria-label': label,
                class: 'guide min-h-64 p-3 outline-none',
                dir: 'auto',
                'data-as-is': '',
            },
        },
        onUpdate: (update) => onChange(update.editor.getMarkdown()),
    });
    return (
        <div className="border border-ink2 focus-within:outline-2 focus-within:outline-sky">
            <Toolbar editor={editor} />
            <EditorContent editor={editor} />
        </div>
    );
}

type Tool = { name: string; sign: string; on: boolean; run: () => void };

/** What is done with what is chosen in the text. */
function Toolbar({ editor }: { editor: Editor }) {
    const [asking, setAsking] = useState<'link' | 'picture' | null>(null);
    const on = useEditorState({
        editor,
        selector: ({ editor: now }) => ({
            large: now.isActive('heading', { level: 1 }),
            small: now.isActive('heading', { level: 2 }),
            bold: now.isActive('bold'),
            italic: now.isActive('italic'),
            bullets: now.isActive('bulletList'),
            numbers: now.isActive('orderedList'),
            quote: now.isActive('blockquote'),
            link: now.isActive('link'),
        }),
    });
    const chain = () => editor.chain().focus();
    const tools: Tool[] = [
        { name: 'large', sign: 'H', on: on.large, run: () => chain().toggleHeading({ level: 1 }).run() },
        { name: 'small', sign: 'h', on: on.small, run: () => chain().toggleHeading({ level: 2 }).run() },
        { name: 'bold', sign: 'B', on: on.bold, run: () => chain().toggleBold().run() },
        { name: 'italic', sign: 'I', on: on.italic, run: () => chain().toggleItalic().run() },
        { name: 'bullets', sign: '•', on: on.bullets, run: () => chain().toggleBulletList().run() },
        { name: 'numbers', sign: '#', on: on.numbers, run: () => chain().toggleOrderedList().run() },
        { name: 'quote', sign: '“', on: on.quote, run: () => chain().toggleBlockquote().run() },
        { name: 'link', sign: say('guides.tools.link'), on: on.link, run: () => setAsking('link') },
        { name: 'picture', sign: say('guides.tools.picture'), on: false, run: () => setAsking('picture') },
    ];
    return (
        <div
            role="toolbar"
            aria-label={say('guides.tools.all')}
            className="flex flex-wrap border-b border-line bg-chalk"
        >
            {tools.map((tool) => (
                <button
                    key={tool.name}
                    type="button"
                    className={`min-w-9 px-2 py-1 font-semibold ${tool.on ? 'bg-pine-wash text-pine' : ''}`}
                    aria-label={say(`guides.tools.${tool.name}`)}
                    title={say(`guides.tools.${tool.name}`)}
                    aria-pressed={tool.on}
                    onClick={tool.run}
                >
                    {tool.sign}
                </button>
            ))}
            {asking === 'link' && <LinkDialog editor={editor} onClose={() => setAsking(null)} />}
            {asking === 'picture' && <PictureDialog editor={editor} onClose={() => setAsking(null)} />}
        </div>
    );
}

type DialogProps = { editor: Editor; onClose: () => void };

/** Where what is chosen leads; nothing: nowhere any more. */
function LinkDialog({ editor, onClose }: DialogProps) {
    const [href, setHref] = useState(String(editor.getAttributes('link').href ?? ''));
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say('guides.tools.link')}>
            <DialogForm
                onLeave={onClose}
                onSend={() => {
                    const chain = editor.chain().focus().extendMarkRange('link');
                    if (href === '') chain.unsetLink().run();
                    else if (editor.state.selection.empty && !editor.isActive('link')) {
                        chain
                            .insertContent({ type: 'text', text: href, marks: [{ type: 'link', attrs: { href } }] })
                            .run();
                    } else chain.setLink({ href }).run();
                    onClose();
                }}
            >
                <Labelled label={say('guides.address')}>
                    <input
                        className="entry w-full"
                        inputMode="url"
                        maxLength={500}
                        value={href}
                        onChange={(event) => setHref(event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}

/** A picture from a file, with what it shows in words. */
function PictureDialog({ editor, onClose }: DialogProps) {
    const file = useRef<HTMLInputElement>(null);
    const [alt, setAlt] = useState('');
    const { busy, faults, send } = useSending();
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={say('guides.tools.picture')}>
            <DialogForm
                busy={busy}
                onLeave={onClose}
                onSend={() =>
                    void send(async () => {
                        const { url } = await askFile<{ url: string }>('/guides/pictures', file.current?.files?.[0]);
                        editor.chain().focus().setImage({ src: url, alt }).run();
                        onClose();
                    })
                }
            >
                <Labelled label={say('guides.picture_file')}>
                    <input ref={file} type="file" accept="image/png,image/jpeg,image/gif,image/webp" required />
                </Labelled>
                <Labelled label={say('guides.picture_shows')}>
                    <input
                        className="entry w-full"
                        maxLength={200}
                        required
                        value={alt}
                        onChange={(event) => setAlt(event.target.value)}
                    />
                </Labelled>
                <FaultList faults={faults} />
            </DialogForm>
        </Dialog>
    );
}
