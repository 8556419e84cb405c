//! A command as a static, of what was declared with: its documentation, its details, its parameters,
//! its subcommands.

use crate::{Below, Detail, Errors, Hangs, Is, Node, Parameter, Takes};
use proc_macro2::{Ident, Span, TokenStream};
use quote::{quote, quote_spanned};
use syn::spanned::Spanned;
use syn::{Expr, ExprCall, Type};

use crate::check::refuse_twins;
use crate::model::details::known;
use crate::model::names::kebab;
use crate::model::settings::{COMMAND, RULES};

impl Is {
    const fn text(self) -> &'static str {
        match self {
            Is::Command | Is::Below => "a command",
            Is::Group => "a group of commands",
            Is::Program => "a program that asks in place",
        }
    }
}

impl Node<'_> {
    /// The statics of the parameters and of the command: the latter is called `command`.
    pub(crate) fn to_statics(&self, command: &Ident, errors: &mut Errors) -> TokenStream {
        let parameters: Vec<&Parameter> = self.parameters.iter().collect();
        refuse_twins(&parameters, errors);
        let keys = self.parameters.iter().map(Parameter::to_static);
        let (bundles, bundle_list) = self.bundles(errors);
        let right = known(&self.details, self.is.text(), &[COMMAND, RULES, self.more], &[], errors);
        let span = self.ident.span();
        let kebab = kebab(self.ident);
        let mut name = quote!(#kebab);
        let is_named = self.details.iter().any(|detail| detail.is("name"));
        let (mut setters, mut last, mut rules) =
            (self.docs.setters("summary", &self.details), quote!(), Vec::new());
        let mut others = Vec::new();
        for (detail, takes) in right {
            if detail.is("name") {
                if let Some(value) = detail.value(errors) {
                    name = quote!(#value);
                }
            } else if detail.is("takes") {
                let values = detail.values(errors);
                others.extend(values.into_iter().map(|key| self.member(key, errors)));
            } else if detail.is("usual") {
                let keys = detail.list(errors).into_iter();
                let usual: Vec<TokenStream> = keys.map(|key| self.member(key, errors)).collect();
                let span = detail.name.span();
                setters.extend(quote_spanned!(span=> .usual(&[#(#usual),*])));
            } else if detail.is("default_command") {
                last = self.default_command(detail, errors);
            } else if let Takes::Rule(hangs) = takes {
                rules.extend(self.rule(detail, hangs, errors));
            } else if COMMAND.iter().any(|setter| detail.is(setter.0)) {
                setters.extend(detail.call(takes, errors));
            }
        }
        let mut params: Vec<TokenStream> = self.parameters.iter().map(Parameter::param).collect();
        params.extend(others);
        if matches!(self.below, Below::Copy(_)) && !(params.is_empty() && rules.is_empty()) {
            let message = "the type in the parentheses says what its command takes, and its rules (set them there)";
            errors.at(span, message);
        }
        let listed = |list: Vec<TokenStream>, call: TokenStream| match list.is_empty() {
            true => quote!(),
            false => quote_spanned!(span=> .#call(&[#(#list),*])),
        };
        let (mut lists, rules) = (listed(params, quote!(takes)), listed(rules, quote!(rules)));
        lists.extend([bundle_list, rules]);
        lists.extend(self.list_below(span));
        let start = self.start(&name, is_named, span);
        quote! {
            #(#keys)*
            #bundles
            static #command: ::clavret::for_macros::Command<'static> = #start #setters #lists #last;
        }
    }

    /// A copy of another command by a name, or a new one, which knows its package where that tells of a whole program, and
    /// has what is below it where another type lists that.
    fn start(&self, name: &TokenStream, is_named: bool, span: Span) -> TokenStream {
        let start = match &self.below {
            Below::Copy(command) => {
                return quote_spanned!(span=> (*#command).adapted().named(#name));
            }
            _ => quote_spanned!(span=> ::clavret::for_macros::Command::new(#name)),
        };
        let start = match self.is {
            Is::Below => start,
            _ => quote_spanned! {span=>
                ::clavret::for_macros::declared_in(#start, ::clavret::package!(), #is_named)
            },
        };
        let Below::Of(ty) = &self.below else { return start };
        let span = ty.span();
        let below = quote_spanned!(span=> <#ty as ::clavret::for_macros::Subcommands>::COMMAND);
        let acts = quote_spanned!(span=> <#ty as ::clavret::for_macros::Subcommands>::IS_OPTIONAL);
        quote_spanned!(span=> ::clavret::for_macros::commands_of(#start, #below, #acts))
    }

    /// The call that lists what is below.
    fn list_below(&self, span: Span) -> TokenStream {
        match &self.below {
            Below::Nothing | Below::Copy(_) | Below::Of(_) => quote!(),
            Below::Listed(commands) => {
                let commands = commands.iter().map(|(command, _)| command);
                quote_spanned!(span=> .commands(&[#(#commands),*]))
            }
        }
    }

    /// Statics of the bundles, and the call that lists them.
    fn bundles(&self, errors: &mut Errors) -> (TokenStream, TokenStream) {
        if self.bundles.is_empty() {
            return Default::default();
        }
        let (mut statics, mut names) = (quote!(), Vec::new());
        for (bundle, field, ty) in &self.bundles {
            let own = [("heading", Takes::Value, false)];
            let heading = known(&bundle.details, "a bundle", &[&own], &[], errors);
            let heading = match heading.first() {
                Some((detail, _)) => detail.value(errors).map(|value| quote!(#value)),
                None => Some(&bundle.docs.summary)
                    .filter(|text| !text.is_empty())
                    .map(|text| quote!(#text)),
            };
            let name = crate::model::names::hidden(&[self.ident, field], field.span());
            let span = ty.span();
            let of = quote_spanned!(span=> <#ty as ::clavret::for_macros::Declare>::COMMAND);
            let heading = heading.unwrap_or_else(|| quote!(#of.ask().summary()));
            let make = quote_spanned!(span=> ::clavret::for_macros::Bundle::of(#of, #heading));
            statics.extend(quote!(static #name: ::clavret::for_macros::Bundle<'static> = #make;));
            names.push(name);
        }
        let span = self.ident.span();
        (statics, quote_spanned!(span=> .bundles(&[#(&#names),*])))
    }

    fn default_command(&self, detail: &Detail, errors: &mut Errors) -> TokenStream {
        let Some(value) = detail.value(errors) else { return quote!() };
        let Below::Listed(commands) = &self.below else {
            errors.on(value, "the enum of the commands says which one is the default");
            return quote!();
        };
        let wanted = quote!(#value).to_string();
        match commands.iter().find(|(_, called)| called.to_string() == wanted) {
            Some((command, _)) => {
                let span = detail.name.span();
                quote_spanned!(span=> .default_command(#command))
            }
            None => {
                let names: Vec<String> =
                    commands.iter().map(|(_, called)| called.to_string()).collect();
                errors.on(value, format!("expected one of: {}", names.join(", ")));
                quote!()
            }
        }
    }

    /// `only_one(jars, barrel)` is `Rule::only_one(&[__JARS.param(), __BARREL.param()])`.
    fn rule(&self, detail: &Detail, hangs: Hangs, errors: &mut Errors) -> Option<TokenStream> {
        let (name, span) = (&detail.name, detail.name.span());
        let values = detail.values(errors);
        let (members, when): (Vec<&Expr>, Option<(&Expr, &Expr)>) = match values.split_last() {
            Some((last, members)) if hangs == Hangs::Value => match last {
                Expr::Assign(assign) => (members.to_vec(), Some((&*assign.left, &*assign.right))),
                other => {
                    errors.on(other, "expected `parameter = \"value\"` at the end");
                    return None;
                }
            },
            _ => (values, None),
        };
        let params: Vec<TokenStream> =
            members.into_iter().map(|member| self.member(member, errors)).collect();
        let (first, others) = params.split_first()?;
        Some(match when {
            Some((param, value)) => {
                let param = self.member(param, errors);
                quote_spanned!(span=> ::clavret::for_macros::Rule::#name(&[#first, #(#others),*], #param, #value))
            }
            None if hangs == Hangs::Param => {
                quote_spanned!(span=> ::clavret::for_macros::Rule::#name(#first, &[#(#others),*]))
            }
            None => {
                quote_spanned!(span=> ::clavret::for_macros::Rule::#name(&[#first, #(#others),*]))
            }
        })
    }

    /// A parameter that a rule names: one of these, or the key of another command: `COLOR_OPTION`,
    /// `Apiary::QUIET`.
    fn member(&self, member: &Expr, errors: &mut Errors) -> TokenStream {
        if let Expr::Path(path) = member
            && let Some(ident) = path.path.get_ident()
        {
            let is_it = |parameter: &&Parameter| parameter.ident == *ident;
            if let Some(parameter) = self.parameters.iter().find(is_it) {
                return parameter.param();
            }
            // A static is written in upper case, an argument or a field is not.
            if ident.to_string().chars().any(char::is_lowercase) {
                let idents = self.parameters.iter().map(|parameter| parameter.ident.to_string());
                let names: Vec<String> = idents.collect();
                errors.on(member, format!("expected one of the parameters: {}", names.join(", ")));
                return quote!();
            }
        }
        match member {
            Expr::Path(path) => quote!(#path.param()),
            other => {
                errors.on(other, "expected a parameter");
                quote!()
            }
        }
    }
}

/// The paths in `commands(inspect, hive::Hives)`, where that is set: each a declared function, block or
/// type.
pub(crate) fn listed(details: &[Detail], errors: &mut Errors) -> Vec<Type> {
    let mut types = Vec::new();
    let set = details.iter().find(|detail| detail.is("commands"));
    for value in set.map_or(Vec::new(), |detail| detail.values(errors)) {
        match value {
            Expr::Path(path) => types.push(syn::parse_quote!(#path)),
            Expr::Call(ExprCall { func, .. }) => {
                errors.on(value, format!("expected `{}`", quote!(#func)))
            }
            other => {
                errors.on(other, "expected the name of a declared function, `impl` block or type, or of a static command")
            }
        }
    }
    types
}
