//! What touches the world, and so comes last, when nothing else is wrong with a line: secrets in
//! files, and what must be at a path.

use std::path::Path;

use super::unread::unread as unread_file;
use crate::read::convert;
use crate::record::brought::Brings;
use crate::record::fault::{Fault, FaultKind};
use crate::record::line::{Chain, Line, Outer, Piece, Slot};
use crate::record::path::At;
use crate::record::refusal::Reason;
use crate::record::step::Meaning;
use crate::record::world::{Presence, Trial, World};

/// Looks at what secrets and paths name. The records of these point here, as those of variables point to what asks
/// for them.
#[cold]
#[inline]
pub(crate) fn touch(line: &mut Line<'_>) {
    line.touch();
}

impl<'d> Line<'d> {
    /// Whether the value that counts is in a file that the line names.
    #[inline]
    pub(crate) fn reads_file(&self, slot: &Slot<'_>) -> bool {
        if slot.param.file_name().is_empty() {
            return false;
        }
        let last = slot.typed.last as usize;
        slot.typed.count > 0 && last > 0 && self.steps[last - 1].meaning == Meaning::File
    }

    /// Secrets in files, and what must be at a path. A line that is only tried does not get here.
    #[inline]
    fn touch(&mut self) {
        let Some(world) = self.around.world.filter(|_| self.around.trial == Trial::No) else {
            return;
        };
        let mut slots = std::mem::take(&mut self.slots);
        for slot in &mut slots {
            if self.reads_file(slot) {
                self.read_secret(slot, world);
            } else if slot.param.at() != At::Anything {
                self.look_at_path(slot, world);
            }
        }
        self.slots = slots;
    }

    #[inline]
    pub(crate) fn read_secret(&mut self, slot: &mut Slot<'d>, world: &dyn World) {
        let step = self.steps[slot.typed.last as usize];
        let file = convert::typed(&step, self.words);
        let place = step.place();
        match world.first_line(Path::new(&file)) {
            Ok(line) => {
                let outer =
                    Outer { words: vec![Piece::new(line, place)], place, is_opposite: false };
                let typed = std::mem::replace(&mut slot.typed, Chain::EMPTY);
                slot.outer = Some(Box::new(outer));
                self.converts(slot);
                (slot.typed, slot.outer) = (typed, None);
            }
            Err(unread) => {
                let fault = Fault::of(FaultKind::FileUnread, place, slot.param)
                    .with(const { &Brings::saying(unread_file) });
                self.blame(Fault { unread: Some(Box::new(unread)), ..fault });
            }
        }
    }

    #[inline]
    fn look_at_path(&mut self, slot: &Slot<'d>, world: &dyn World) {
        for piece in convert::pieces(slot, self.input()) {
            let presence = world.presence(Path::new(&piece.text));
            let reason = match (slot.param.at(), presence) {
                (At::Nothing, Presence::Nothing) => continue,
                (At::Nothing, _) => Reason::Present,
                (_, Presence::Nothing) => Reason::Absent,
                (At::File, Presence::Directory) => Reason::NotFile,
                (At::Directory, Presence::File) => Reason::NotDirectory,
                _ => continue,
            };
            let fault = Fault::of(FaultKind::PathRefused, piece.place, slot.param);
            self.blame(Fault { reason: Some(reason), ..fault });
        }
    }
}
