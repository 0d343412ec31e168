//! What a family of fixes is: a kind of repair, in a file of its own.

use super::{Candidate, Case};
use erratum_catalogue::{Phase, Recipe};

/// A family of fixes.
///
/// Its function pushes candidates for a message. Nothing in it needs to be right: what it proposes is
/// tried. It must only be likely, and must never hide code from the compiler.
pub struct Family {
    /// Its name.
    pub id: &'static str,
    /// The recipes that it answers to; none where it looks at every message of its phases.
    pub recipes: &'static [Recipe],
    /// Which messages it looks at.
    pub phases: Phases,
    /// Whether it also mends code within a text, such as `s"${tide.hihg}"`.
    pub within_text: bool,
    /// Proposes fixes.
    pub propose: fn(&Case, &mut Vec<Candidate>),
    /// What it does, as a test.
    pub example: Example,
}

/// The messages that a family looks at.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub enum Phases {
    /// All of them.
    Any,
    /// Those of words, brackets and syntax.
    Early,
    /// Those of names and whatever comes after them.
    Late,
}

impl Phases {
    /// Returns whether a message of a phase is one of them.
    pub fn contain(self, phase: Phase) -> bool {
        match self {
            Phases::Any => true,
            Phases::Early => phase <= Phase::Syntax,
            Phases::Late => phase > Phase::Syntax,
        }
    }
}

/// A text before and after the best fix of a family.
pub struct Example {
    /// Short name of the language.
    pub language: &'static str,
    /// The text, with `<|>` where the message points.
    pub before: &'static str,
    /// What the compiler says; a code stands in front of it in brackets.
    pub message: &'static str,
    /// The text afterwards.
    pub after: &'static str,
}

/// All families, in the order in which they are asked: of equally likely fixes the first stays first.
pub static FAMILIES: &[&Family] = &[
    &super::haskell::enum_range::FAMILY,
    &super::haskell::extensions::FAMILY,
    &super::haskell::branch_text::FAMILY,
    &super::owned_object::FAMILY,
    &super::handed_function::FAMILY,
    &super::const_reference::FAMILY,
    &super::typed_head::FAMILY,
    &super::spread_list::FAMILY,
    &super::duration::FAMILY,
    &super::collection_type::FAMILY,
    &super::older_form::FAMILY,
    &super::scala_members::FAMILY,
    &super::sequences::FAMILY,
    &super::negated::FAMILY,
    &super::ordered_reals::FAMILY,
    &super::collected_list::FAMILY,
    &super::needed_behind::FAMILY,
    &super::record_part::FAMILY,
    &super::number_stream::FAMILY,
    &super::lambda_compares::FAMILY,
    &super::lost_prototype_end::FAMILY,
    &super::put_in::FAMILY,
    &super::choice_pattern::FAMILY,
    &super::told_mark::FAMILY,
    &super::parent_word::FAMILY,
    &super::summed_from::FAMILY,
    &super::read_in_condition::FAMILY,
    &super::haskell::one_more::FAMILY,
    &super::haskell::dotted::FAMILY,
    &super::typed_constant::FAMILY,
    &super::go_calls::FAMILY,
    &super::copied_value::FAMILY,
    &super::own_type_member::FAMILY,
    &super::written_otherwise::FAMILY,
    &super::flow::lost_answer::FAMILY,
    &super::flow::lost_arrow::FAMILY,
    &super::java_blocks::FAMILY,
    &super::bodies::FAMILY,
    &super::thrown::FAMILY,
    &super::braced::FAMILY,
    &super::by_reference::FAMILY,
    &super::chain_ends::FAMILY,
    &super::compared_in_text::FAMILY,
    &super::go_forms::FAMILY,
    &super::haskell::cons_pattern::FAMILY,
    &super::catch_head::FAMILY,
    &super::lifetimes::FAMILY,
    &super::list_type::FAMILY,
    &super::formatted::FAMILY,
    &super::other_field::FAMILY,
    &super::recursive_result::FAMILY,
    &super::reserved_name::FAMILY,
    &super::if_value::FAMILY,
    &super::first_found::FAMILY,
    &super::wrapper_types::FAMILY,
    &super::inner_quotes::FAMILY,
    &super::by_pointer::FAMILY,
    &super::abstract_parameter::FAMILY,
    &super::plain_methods::FAMILY,
    &super::array_values::FAMILY,
    &super::ternary::FAMILY,
    &super::downcast::FAMILY,
    &super::number_suffix::FAMILY,
    &super::promise_type::FAMILY,
    &super::dereferenced::FAMILY,
    &super::haskell::gathered::FAMILY,
    &super::haskell::swapped::FAMILY,
    &super::haskell::lost_else::FAMILY,
    &super::shown_value::FAMILY,
    &super::lacking_field::FAMILY,
    &super::inherited_name::FAMILY,
    &super::declare::lost_brackets::FAMILY,
    &super::declare::setter::FAMILY,
    &super::declare::static_member::FAMILY,
    &super::pasted::FAMILY,
    &super::hints::FAMILY,
    &super::include::FAMILY,
    &super::macro_call::FAMILY,
    &super::macro_value::FAMILY,
    &super::quotes::FAMILY,
    &super::associated_type::FAMILY,
    &super::bit_truth::FAMILY,
    &super::lent_loop::FAMILY,
    &super::made_itself::FAMILY,
    &super::argument_mark::FAMILY,
    &super::nothing_case::FAMILY,
    &super::type_for_value::FAMILY,
    &super::unnamed_parameter::FAMILY,
    &super::hole_end::FAMILY,
    &super::element_member::FAMILY,
    &super::foreign_cast::FAMILY,
    &super::trait_object::FAMILY,
    &super::bracket_kind::FAMILY,
    &super::brackets::FAMILY,
    &super::foreign::FAMILY,
    &super::labels::FAMILY,
    &super::all_of_type::FAMILY,
    &super::alternative::FAMILY,
    &super::copied_type::FAMILY,
    &super::brace_end::FAMILY,
    &super::parted::FAMILY,
    &super::template_arguments::FAMILY,
    &super::scala_values::FAMILY,
    &super::tuple_result::FAMILY,
    &super::set_from_parameter::FAMILY,
    &super::separated::FAMILY,
    &super::result_type::FAMILY,
    &super::case_label::FAMILY,
    &super::usual_class::FAMILY,
    &super::patterns::FAMILY,
    &super::pattern_values::FAMILY,
    &super::type_order::FAMILY,
    &super::typed_mark::FAMILY,
    &super::typedef_name::FAMILY,
    &super::import_path::FAMILY,
    &super::window::FAMILY,
    &super::members::FAMILY,
    &super::haskell::layout::FAMILY,
    &super::haskell::list_meant::FAMILY,
    &super::haskell::marks::FAMILY,
    &super::haskell::heads::FAMILY,
    &super::haskell::equations::FAMILY,
    &super::haskell::classes::FAMILY,
    &super::haskell::applied::FAMILY,
    &super::haskell::mapped::FAMILY,
    &super::haskell::section::FAMILY,
    &super::haskell::arrows::FAMILY,
    &super::haskell::each_line::FAMILY,
    &super::haskell::guards::FAMILY,
    &super::growing_text::FAMILY,
    &super::half_comparison::FAMILY,
    &super::holds_itself::FAMILY,
    &super::haskell::joined_last::FAMILY,
    &super::haskell::lacking_value::FAMILY,
    &super::haskell::own_name::FAMILY,
    &super::haskell::small_letter::FAMILY,
    &super::haskell::type_values::FAMILY,
    &super::haskell::numbers::FAMILY,
    &super::haskell::functions::FAMILY,
    &super::haskell::items::FAMILY,
    &super::haskell::grouped::FAMILY,
    &super::haskell::answered::FAMILY,
    &super::callee::FAMILY,
    &super::pointed::FAMILY,
    &super::turned::FAMILY,
    &super::format_hole::FAMILY,
    &super::starts_empty::FAMILY,
    &super::starts_whole::FAMILY,
    &super::wrapped::FAMILY,
    &super::type_parameter::FAMILY,
    &super::uncalled::FAMILY,
    &super::unwrapped::FAMILY,
    &super::waiting::FAMILY,
    &super::each_item::FAMILY,
    &super::each_pointer::FAMILY,
    &super::loop_body::FAMILY,
    &super::loop_item::FAMILY,
    &super::element_type::FAMILY,
    &super::elements::FAMILY,
    &super::boxed::FAMILY,
    &super::vec_literal::FAMILY,
    &super::results::FAMILY,
    &super::condition::FAMILY,
    &super::ended_value::FAMILY,
    &super::line_end::FAMILY,
    &super::closed_line::FAMILY,
    &super::filled_arguments::FAMILY,
    &super::member_arrow::FAMILY,
    &super::assigned_choice::FAMILY,
    &super::brace_before_start::FAMILY,
    &super::method_ends::FAMILY,
    &super::own_parameter::FAMILY,
    &super::write_target::FAMILY,
    &super::leading_zero::FAMILY,
    &super::array_made::FAMILY,
    &super::bound_by_use::FAMILY,
    &super::fields_in_round::FAMILY,
    &super::head_colon::FAMILY,
    &super::list_literal::FAMILY,
    &super::listed_arguments::FAMILY,
    &super::method_reference::FAMILY,
    &super::step_mark::FAMILY,
    &super::value_arrow::FAMILY,
    &super::variant_type::FAMILY,
    &super::untyped::FAMILY,
    &super::made::FAMILY,
    &super::qualify::FAMILY,
    &super::synonyms::FAMILY,
    &super::visible::FAMILY,
    &super::overriding::FAMILY,
    &super::promised::FAMILY,
    &super::derived::FAMILY,
    &super::constructor::FAMILY,
    &super::stored::FAMILY,
    &super::lambda_head::FAMILY,
    &super::mirrored::FAMILY,
    &super::counted::FAMILY,
    &super::angles::FAMILY,
    &super::type_arguments::FAMILY,
    &super::catch_all::FAMILY,
    &super::chained::FAMILY,
    &super::initialisers::FAMILY,
    &super::worded::FAMILY,
    &super::field_marks::FAMILY,
    &super::single_quotes::FAMILY,
    &super::raw_interface::FAMILY,
    &super::summed::FAMILY,
    &super::assigning::FAMILY,
    &super::computed_member::FAMILY,
    &super::decimals::FAMILY,
    &super::missing_value::FAMILY,
    &super::import_lines::FAMILY,
    &super::class_words::FAMILY,
    &super::told_word::FAMILY,
    &super::truth::FAMILY,
    &super::exceptions::FAMILY,
    &super::date_text::FAMILY,
    &super::decimal_comma::FAMILY,
    &super::above_type::FAMILY,
    &super::base_class::FAMILY,
    &super::text_sums::FAMILY,
    &super::counting_loop::FAMILY,
    &super::types::part_meant::FAMILY,
    &super::types::perhaps::FAMILY,
    &super::plain_text_type::FAMILY,
    &super::headers::FAMILY,
    &super::inherited::FAMILY,
    &super::library_name::FAMILY,
    &super::library_types::FAMILY,
    &super::main_type::FAMILY,
    &super::named_result::FAMILY,
    &super::pointer_elements::FAMILY,
    &super::pointer_mark::FAMILY,
    &super::lost_comma::FAMILY,
    &super::mixed_numbers::FAMILY,
    &super::made_of_fields::FAMILY,
    &super::object_meant::FAMILY,
    &super::object_pascal::FAMILY,
    &super::as_error::FAMILY,
    &super::as_function::FAMILY,
    &super::widened::FAMILY,
    &super::vexing::FAMILY,
    &super::headless::FAMILY,
    &super::heritage::FAMILY,
    &super::above::FAMILY,
    &super::streams::FAMILY,
    &super::addressed::FAMILY,
    &super::copied::FAMILY,
    &super::joined::FAMILY,
    &super::beside_text::FAMILY,
    &super::cast::FAMILY,
    &super::of_type::FAMILY,
    &super::only_part::FAMILY,
    &super::operands::FAMILY,
    &super::owner::FAMILY,
    &super::respell::FAMILY,
    &super::imports::FAMILY,
    &super::declare::duplicate::FAMILY,
    &super::declare::file_name::FAMILY,
    &super::declare::mutable::FAMILY,
    &super::declare::undeclared::FAMILY,
    &super::declare::unused::FAMILY,
    &super::declare::header_words::FAMILY,
    &super::declare::left_block::FAMILY,
    &super::declare::lost_parameter::FAMILY,
    &super::types::FAMILY,
    &super::calls::FAMILY,
    &super::const_method::FAMILY,
    &super::captured::FAMILY,
    &super::flow::lost_return::FAMILY,
    &super::flow::unset::FAMILY,
    &super::flow::spare_terminator::FAMILY,
    &super::warned::spare::FAMILY,
    &super::warned::guard::FAMILY,
    &super::warned::leave_case::FAMILY,
    &super::warned::own_member::FAMILY,
    &super::warned::signs::FAMILY,
    &super::empty_call::FAMILY,
    &super::bare_call::FAMILY,
    &super::bare_list::FAMILY,
    &super::haskell::block_value::FAMILY,
    &super::file_pointer::FAMILY,
    &super::turned_marks::FAMILY,
    &super::typed_default::FAMILY,
    &super::go_blocks::FAMILY,
    &super::map_entry::FAMILY,
    &super::indented_body::FAMILY,
    &super::joined_numbers::FAMILY,
    &super::haskell::rest_meant::FAMILY,
    &super::go_errors::FAMILY,
    &super::array_declared::FAMILY,
    &super::text_length::FAMILY,
    &super::listed_query::FAMILY,
    &super::key_type::FAMILY,
    &super::subclass_meant::FAMILY,
    &super::haskell::record_update::FAMILY,
    &super::arrow_body::FAMILY,
    &super::compared_reals::FAMILY,
    &super::nil_start::FAMILY,
    &super::scala_forms::FAMILY,
    &super::map_parts::FAMILY,
    &super::real_division::FAMILY,
    &super::choice_mark::FAMILY,
    &super::held_call::FAMILY,
    &super::or_empty::FAMILY,
    &super::one_of_words::FAMILY,
    &super::haskell::just_pattern::FAMILY,
    &super::haskell::composed::FAMILY,
    &super::haskell::annotated::FAMILY,
    &super::haskell::bound_mark::FAMILY,
    &super::haskell::comprehension::FAMILY,
    &super::haskell::of_list::FAMILY,
    &super::haskell::last_comma::FAMILY,
    &super::haskell::plain_binding::FAMILY,
    &super::haskell::shown_each::FAMILY,
    &super::structure::FAMILY,
];

#[cfg(test)]
mod tests {
    use super::*;
    use crate::fixes::testing::check_fix;
    use std::collections::BTreeSet;

    #[test]
    fn each_family_does_what_its_example_says() {
        for family in FAMILIES {
            let Example { language, before, message, after } = family.example;
            check_fix(family, language, before, message, after);
        }
    }

    #[test]
    fn each_recipe_of_the_catalogue_has_a_family_that_answers() {
        let answered: BTreeSet<Recipe> =
            FAMILIES.iter().flat_map(|family| family.recipes).copied().collect();
        for recipe in Recipe::ALL {
            assert!(answered.contains(recipe), "no family answers to `{recipe}`");
        }
    }

    #[test]
    fn families_have_names_of_their_own() {
        let names: BTreeSet<&str> = FAMILIES.iter().map(|family| family.id).collect();
        assert_eq!(names.len(), FAMILIES.len());
    }

    #[test]
    fn phases_split_between_syntax_and_names() {
        assert!(Phases::Early.contain(Phase::Syntax) && !Phases::Early.contain(Phase::Name));
        assert!(Phases::Late.contain(Phase::Name) && !Phases::Late.contain(Phase::Syntax));
        assert!(Phases::Any.contain(Phase::Lexical) && Phases::Any.contain(Phase::Flow));
    }
}
