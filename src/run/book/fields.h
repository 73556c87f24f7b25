#pragma once

#include "core/base/error.h"
#include "core/base/json_object.h"
#include "core/colour/colour.h"
#include "core/reading/reading.h"

#include <nlohmann/json.hpp>

#include <array>
#include <cmath>
#include <limits>
#include <optional>
#include <string>
#include <type_traits>
#include <utility>
#include <vector>

namespace lantern::run {

/// Kept values are written and read by one description of their fields:
///
///     template <class A> void fields(A &a, WhiteReading &w)
///     {
///         a("controls", w.controls);
///         a("white", w.white);
///     }
///
/// Numbers come back bit for bit. Reading is strict: a key that is missing, of the wrong type or
/// asked for by nobody is an Error BadInput. A changed description is a new version of its stage.

/// An enumeration that is kept by its keys: a specialisation gives `static T values[]` and
/// `static std::string key(T)`.
template <class T> struct KeptKeys;

class FieldWriter;
class FieldReader;

/// What its fields say together, for values where they can contradict each other: an overload with
/// their type. \throws Error BadInput
template <class T> void checkTogether(const FieldReader & /*reader*/, const T & /*value*/) {}

template <class T> Json kept(const T &value);
template <class T> void recall(const Json &json, T &value, const std::string &where);

[[noreturn]] void cannotRecall(const std::string &where, const Message &problem);

class FieldWriter {
public:
    template <class T> void operator()(const char *key, const T &value)
    {
        m_json[key] = kept(value);
    }
    /// A field that came later: not written where it says nothing new, so that values of before
    /// stay what they were.
    template <class T> void later(const char *key, const T &value, const T &usual = {})
    {
        if (!(value == usual))
            (*this)(key, value);
    }
    Json take() { return std::move(m_json); }

private:
    Json m_json = Json::object();
};

class FieldReader {
public:
    FieldReader(const Json &json, std::string where) : m_json(json), m_where(std::move(where))
    {
        if (!json.is_object())
            cannotRecall(m_where, "is no object");
    }
    template <class T> void operator()(const char *key, T &value)
    {
        const auto it = m_json.find(key);
        if (it == m_json.end())
            cannotRecall(m_where, {"has no \"%1\"", {key}});
        ++m_used;
        recall(*it, value, m_where + "." + key);
    }
    template <class T> void later(const char *key, T &value, const T &usual = {})
    {
        if (m_json.contains(key))
            (*this)(key, value);
        else
            value = usual;
    }
    void finish() const
    {
        if (m_used != m_json.size())
            cannotRecall(m_where, "holds keys of another version");
    }
    void require(bool isSound, const Message &problem) const
    {
        if (!isSound)
            cannotRecall(m_where, problem);
    }

private:
    const Json &m_json;
    std::string m_where;
    size_t m_used = 0;
};

namespace detail {

template <class T> struct IsOptional : std::false_type {};
template <class T> struct IsOptional<std::optional<T>> : std::true_type {};
template <class T> struct IsVector : std::false_type {};
template <class T> struct IsVector<std::vector<T>> : std::true_type {};
template <class T> struct IsArray : std::false_type {};
template <class T, size_t N> struct IsArray<std::array<T, N>> : std::true_type {};

/// Numbers of a colour or a matrix, in order; empty for other types.
template <class T, class F> constexpr bool eachNumber(T &v, F &&f)
{
    using V = std::remove_const_t<T>;
    if constexpr (std::is_same_v<V, XYZ> || std::is_same_v<V, RelXYZ>)
        f(v.X), f(v.Y), f(v.Z);
    else if constexpr (std::is_same_v<V, Lab>)
        f(v.L), f(v.a), f(v.b);
    else if constexpr (std::is_same_v<V, DeviceRgb>)
        f(v.r), f(v.g), f(v.b);
    else if constexpr (std::is_same_v<V, Chromaticity>)
        f(v.x), f(v.y);
    else if constexpr (std::is_same_v<V, UvPrime>)
        f(v.u), f(v.v);
    else if constexpr (std::is_same_v<V, Vec3> || std::is_same_v<V, Mat3>) {
        for (long i = 0; i < v.size(); ++i)
            f(v.data()[i]);
    } else
        return false;
    return true;
}

template <class T> constexpr bool isNumbers()
{
    return std::is_same_v<T, XYZ> || std::is_same_v<T, RelXYZ> || std::is_same_v<T, Lab> ||
           std::is_same_v<T, DeviceRgb> || std::is_same_v<T, Chromaticity> ||
           std::is_same_v<T, UvPrime> || std::is_same_v<T, Vec3> || std::is_same_v<T, Mat3>;
}

} // namespace detail

template <class T> Json kept(const T &value)
{
    if constexpr (std::is_same_v<T, double>)
        return std::isfinite(value) ? Json(value) : Json(nullptr);
    else if constexpr (std::is_same_v<T, bool> || std::is_integral_v<T> ||
                       std::is_same_v<T, std::string>)
        return value;
    else if constexpr (std::is_enum_v<T>)
        return KeptKeys<T>::key(value);
    else if constexpr (detail::IsOptional<T>::value)
        return value ? kept(*value) : Json(nullptr);
    else if constexpr (detail::IsVector<T>::value || detail::IsArray<T>::value) {
        Json all = Json::array();
        for (const auto &one : value)
            all.push_back(kept(one));
        return all;
    } else if constexpr (std::is_same_v<T, Reading>)
        return Json{value.rgb.r,
                    value.rgb.g,
                    value.rgb.b,
                    value.xyz.X,
                    value.xyz.Y,
                    value.xyz.Z,
                    value.integrationSeconds};
    else if constexpr (detail::isNumbers<T>()) {
        Json all = Json::array();
        detail::eachNumber(value, [&](double v) { all.push_back(kept(v)); });
        return all;
    } else {
        FieldWriter writer;
        fields(writer, const_cast<T &>(value)); // only read by a writer
        return writer.take();
    }
}

template <class T> void recall(const Json &json, T &value, const std::string &where)
{
    if constexpr (std::is_same_v<T, double>) {
        if (!json.is_number() && !json.is_null())
            cannotRecall(where, "is no number");
        value = json.is_null() ? std::numeric_limits<double>::quiet_NaN() : json.get<double>();
    } else if constexpr (std::is_same_v<T, bool>) {
        if (!json.is_boolean())
            cannotRecall(where, "is neither true nor false");
        value = json.get<bool>();
    } else if constexpr (std::is_integral_v<T>) {
        if (!json.is_number_integer() || json.get<double>() < 0 ||
            json.get<double>() > static_cast<double>(std::numeric_limits<T>::max()))
            cannotRecall(where, "is no whole number in range");
        value = json.get<T>();
    } else if constexpr (std::is_same_v<T, std::string>) {
        if (!json.is_string())
            cannotRecall(where, "is no text");
        value = json.get<std::string>();
    } else if constexpr (std::is_enum_v<T>) {
        for (const T one : KeptKeys<T>::values)
            if (json == KeptKeys<T>::key(one)) {
                value = one;
                return;
            }
        cannotRecall(where, "is not known");
    } else if constexpr (detail::IsOptional<T>::value) {
        value.reset();
        if (!json.is_null())
            recall(json, value.emplace(), where);
    } else if constexpr (detail::IsVector<T>::value) {
        if (!json.is_array())
            cannotRecall(where, "is no list");
        value.clear();
        for (const Json &one : json)
            recall(one, value.emplace_back(), where);
    } else if constexpr (detail::IsArray<T>::value) {
        if (!json.is_array() || json.size() != value.size())
            cannotRecall(where, {"is no list of %1", {std::to_string(value.size())}});
        for (size_t i = 0; i < value.size(); ++i)
            recall(json[i], value[i], where);
    } else if constexpr (std::is_same_v<T, Reading>) {
        std::array<double, 7> n{};
        recall(json, n, where);
        value = {{n[0], n[1], n[2]}, {n[3], n[4], n[5]}, n[6]};
    } else if constexpr (detail::isNumbers<T>()) {
        size_t count = 0;
        detail::eachNumber(value, [&](double &) { ++count; });
        if (!json.is_array() || json.size() != count)
            cannotRecall(where, {"is no list of %1 numbers", {std::to_string(count)}});
        size_t i = 0;
        detail::eachNumber(value, [&](double &v) { recall(json[i++], v, where); });
    } else {
        FieldReader reader(json, where);
        fields(reader, value);
        reader.finish();
        checkTogether(reader, value);
    }
}

} // namespace lantern::run
